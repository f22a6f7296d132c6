import { createRouter, createWebHistory } from 'vue-router'
import { steps } from './steps.js'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'occasions', component: () => import('../occasions/OccasionsPage.vue') },
    { path: '/cupboard', name: 'cupboard', component: () => import('../cupboard/CupboardPage.vue') },
    { path: '/ideas', name: 'ideas', component: () => import('../ideas/IdeasPage.vue') },
    { path: '/style', name: 'style', component: () => import('../style/StylePage.vue') },
    { path: '/shops', name: 'shops', component: () => import('../shops/ShopsPage.vue') },
    { path: `/looks/:id/:step(${steps.join('|')})`, name: 'look', component: () => import('./LookPage.vue'), props: true },
    { path: '/looks/:id/sheet', name: 'sheet', component: () => import('../sheet/SheetPage.vue'), props: true },
    { path: '/looks/:id', redirect: (to) => ({ name: 'look', params: { id: to.params['id'], step: 'centerpiece' } }) },
    { path: '/shared/:secret', name: 'shared', component: () => import('../looks/SharedPage.vue'), props: true },
    { path: '/:rest(.*)*', redirect: '/' }
  ]
})
