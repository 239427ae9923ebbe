import { createRouter, createWebHistory } from 'vue-router'
import LooksView from './views/LooksView.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/looks' },
    { path: '/looks', component: LooksView },
    { path: '/new', component: () => import('./views/BriefView.vue') },
    { path: '/looks/:id', component: () => import('./views/WorkspaceView.vue'), props: true },
    { path: '/faces/:id?', component: () => import('./views/FacesView.vue'), props: true },
    { path: '/faces/:id/photos', component: () => import('./views/PhotoMeasureView.vue'), props: true },
    {
      path: '/over',
      component: () => import('./views/LookOverView.vue'),
      props: (route) => ({ look: route.query.look, face: route.query.face, session: route.query.session }),
    },
    { path: '/characters/:id?', component: () => import('./views/CharactersView.vue'), props: true },
    { path: '/calendar', component: () => import('./views/CalendarView.vue') },
    { path: '/drills/:id?', component: () => import('./views/DrillsView.vue'), props: true },
    { path: '/calls/:id?', component: () => import('./views/CallsView.vue'), props: true },
    { path: '/days/:id/queue', component: () => import('./views/QueueView.vue'), props: true },
    {
      path: '/queue',
      component: () => import('./views/PublicQueueView.vue'),
      props: (route) => ({ board: route.query.board === 'yes' }),
      meta: { open: true },
    },
    { path: '/days/:id?', component: () => import('./views/DaysView.vue'), props: true },
    { path: '/case/:id?', component: () => import('./views/CaseView.vue'), props: true },
    { path: '/chair', component: () => import('./views/ChairsView.vue') },
    {
      path: '/chair/:id',
      component: () => import('./views/ChairView.vue'),
      props: (route) => ({ id: route.params.id, lane: route.query.lane }),
      meta: { offline: true },
    },
    { path: '/pedal', component: () => import('./views/PedalView.vue') },
    {
      path: '/book/times/:painter?',
      component: () => import('./views/TimesView.vue'),
      props: true,
    },
    { path: '/book/:id?', component: () => import('./views/BookView.vue'), props: true },
    { path: '/account', component: () => import('./views/AccountView.vue') },
    { path: '/join', component: () => import('./views/JoinView.vue'), meta: { open: true } },
    { path: '/reset', component: () => import('./views/ResetView.vue'), meta: { open: true } },
    { path: '/guest', component: () => import('./views/GuestView.vue'), meta: { open: true } },
    { path: '/kit', component: () => import('./views/KitView.vue') },
    { path: '/:rest(.*)*', redirect: '/looks' },
  ],
})
